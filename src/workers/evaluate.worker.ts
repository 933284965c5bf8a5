self.onmessage = () => { self.postMessage(String(7n * 6n)); };
export {};
