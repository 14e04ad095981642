const { TestEnvironment } = require('jest-environment-jsdom');

/** jsdom with the standard globals that it lacks and that every browser has. */
module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { structuredClone, TextEncoder, TextDecoder });
  }
};
