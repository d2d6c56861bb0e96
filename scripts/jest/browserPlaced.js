const { TestEnvironment } = require('jest-environment-jsdom');

module.exports = require('./placed')(TestEnvironment);
