// Before each file of unit tests.

// A channel between tabs that is left open does not keep the tests from ending.
const Channel = globalThis.BroadcastChannel;
if (Channel) {
  globalThis.BroadcastChannel = class extends Channel {
    constructor(name) {
      super(name);
      this.unref?.();
    }
  };
}

// A busy machine takes its time: what is waited for on a page may come late.
if (globalThis.document) {
  const { configure } = await import('@testing-library/react');
  configure({ asyncUtilTimeout: 15_000 });
}
