/** What an address of a built file is in unit tests, where nothing is built. */
export default '/asset'
