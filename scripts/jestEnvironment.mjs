// Jest's Node environment puts a Proxy and V8's interceptors round every global, so that each `Math.exp` of the heart is a call
// into C++: the planner took 2.6 times as long in a test as outside. This environment gives a test file a context of its own just as well, with an
// ordinary global object in it (vm.constants.DONT_CONTEXTIFY, Node 20.18 and later; before that, Jest's own).
import vm from 'node:vm';
import { TestEnvironment } from 'jest-environment-node';

const contextify = vm.createContext;
const plain = vm.constants?.DONT_CONTEXTIFY;

export default class PlainNodeEnvironment extends TestEnvironment {
  constructor(config, context) {
    if (plain !== undefined) vm.createContext = () => contextify(plain);
    try {
      super(config, context);
    } finally {
      vm.createContext = contextify;
    }
  }
}
