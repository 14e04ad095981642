const { TestEnvironment } = require('jest-environment-jsdom');

/** jsdom with the standard globals that it lacks and that every browser has. */
module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { structuredClone, TextEncoder, TextDecoder });
    // The person whose numbers and dates the tests read.
    Object.defineProperty(this.global.Navigator.prototype, 'language', { get: () => 'en-GB' });
    // Only the process itself can move: what a test sees of its environment is a copy.
    this.global.standInZone = (zone) => {
      process.env.TZ = zone;
    };
  }

  async teardown() {
    process.env.TZ = process.env.STATED_ZONE ?? 'UTC';
    await super.teardown();
  }
};
