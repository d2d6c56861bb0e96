const { TestEnvironment } = require('jest-environment-node');

module.exports = require('./placed')(TestEnvironment);
