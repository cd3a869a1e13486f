export const piece = (id: string) => ({ at: 'piece', piece: id }) as const;
