/** The head of the page stands in public/index.html, and its title is set by the frame. */
export const Head = { Provider: ({ children }) => children };
