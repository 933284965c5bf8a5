/** Of the stack navigator the router itself needs only how its routes follow each other; we have no stack of screens. */
export { StackRouter } from 'expo-router/build/react-navigation/routers/StackRouter';
