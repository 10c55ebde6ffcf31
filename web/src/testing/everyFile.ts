import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// how long a busy machine may take over what a quiet one does at once: only a failure waits for it
configure({ asyncUtilTimeout: 30_000 });
vi.setConfig({ testTimeout: 60_000 });

// nothing is laid out here, so nothing changes its size
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});
