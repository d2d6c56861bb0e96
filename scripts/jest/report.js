const { writeFileSync } = require('node:fs');
const path = require('node:path');

/** Writes what each file came to, and where it ran, as `UNIT_RESULTS`: Jest's own file of results does not say where. */
module.exports = class Report {
  #rootDir;
  #files = [];

  constructor({ rootDir }) {
    this.#rootDir = rootDir;
  }

  onTestResult({ context, path: file }, { testResults, perfStats, failureMessage }) {
    this.#files.push({
      name: `${path.relative(this.#rootDir, file)} (${context.config.displayName.name})`,
      seconds: perfStats.runtime / 1000,
      passed: testResults.filter(({ status }) => status === 'passed').length,
      failed: testResults
        .filter(({ status }) => status === 'failed')
        .map(({ fullName, failureMessages }) => ({ name: fullName, reason: failureMessages[0] })),
      // Of a file that could not be run, whatever its tests.
      reason: failureMessage,
    });
  }

  onRunComplete() {
    writeFileSync(process.env.UNIT_RESULTS, JSON.stringify(this.#files));
  }
};
