import '@/places/frame/begin-early';
import 'expo-router/entry';
