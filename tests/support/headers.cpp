// Nothing but the headers that all tests include, to be read once.
