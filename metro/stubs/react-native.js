/**
 * What packages ask of `react-native` as a whole, on the web. (Imports by name do not come through here: the compiler
 * sends each to a file of its own.) The lists, animations and controls of the full index stand on none of our screens.
 */
export { default as AppRegistry } from 'react-native-web/dist/exports/AppRegistry';
export { default as Appearance } from 'react-native-web/dist/exports/Appearance';
export { default as Dimensions } from 'react-native-web/dist/exports/Dimensions';
export { default as I18nManager } from 'react-native-web/dist/exports/I18nManager';
export { default as Linking } from 'react-native-web/dist/exports/Linking';
export { default as NativeModules } from 'react-native-web/dist/exports/NativeModules';
export { default as PixelRatio } from 'react-native-web/dist/exports/PixelRatio';
export { default as Platform } from 'react-native-web/dist/exports/Platform';
export { default as StyleSheet } from 'react-native-web/dist/exports/StyleSheet';
export { default as Text } from 'react-native-web/dist/exports/Text';
export { default as View } from 'react-native-web/dist/exports/View';
export { default as useColorScheme } from 'react-native-web/dist/exports/useColorScheme';
export { default as useWindowDimensions } from 'react-native-web/dist/exports/useWindowDimensions';
