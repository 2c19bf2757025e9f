import vm from 'node:vm';
import NodeEnvironment from 'jest-environment-node';

/**
 * Jest's environment for Node with an ordinary global object. The one it makes looks every global up through interceptors,
 * which makes `Math.min` in a loop a hundred times slower than it is in the application.
 */
export default class TestEnvironment extends (NodeEnvironment.TestEnvironment ?? NodeEnvironment) {
  constructor(config, context) {
    const { createContext } = vm;
    vm.createContext = () => createContext(vm.constants.DONT_CONTEXTIFY);
    try {
      super(config, context);
    } finally {
      vm.createContext = createContext;
    }
  }
}
