// What a test imports from Jest, where the runner gives it as globals only.
export const { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, jest, test } = globalThis;
