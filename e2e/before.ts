import { make } from './opened';

/** Before all tests of the page: the shops that they copy are made. */
export default make;
