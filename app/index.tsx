import { useEffect, useState } from 'react';
import { Text } from 'react-native';
import { View } from '@tamagui/core';
export default function Page() {
  const [s, set] = useState('');
  useEffect(() => { const w = new Worker(new URL('../src/workers/evaluate.worker.ts', import.meta.url)); w.onmessage = (e) => set(String(e.data)); w.postMessage(1); }, []);
  return <View><Text>{s} hello</Text></View>;
}
