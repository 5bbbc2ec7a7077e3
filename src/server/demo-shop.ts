/** The one shop until people sign in: the repair bench of the invented island's ferry and harbour cooperative. */
export const demoShop = {
  id: '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11',
  name: 'Harbour bench, Ollersund Ferry and Harbour Cooperative',
} as const;
