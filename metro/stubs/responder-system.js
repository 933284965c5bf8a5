import * as system from 'react-native-web/dist/modules/useResponderEvents/ResponderSystem';

/*
 * The listeners of the responder system are set up with the first node that answers to it (a chart over labels), and not
 * with the first view of all: they looked up the path of every event of every key (2.7 of 63 ms of a slowed press).
 */

export const attachListeners = () => undefined;
export const addNode = (id, node, config) => {
  system.attachListeners();
  system.addNode(id, node, config);
};
export const { removeNode, getResponderNode, terminateResponder } = system;
