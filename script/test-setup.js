// Before each file of unit tests: a channel between tabs that is left open does not keep the tests from ending.
const Channel = globalThis.BroadcastChannel;
if (Channel) {
  globalThis.BroadcastChannel = class extends Channel {
    constructor(name) {
      super(name);
      this.unref?.();
    }
  };
}
