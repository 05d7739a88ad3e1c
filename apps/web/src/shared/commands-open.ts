import { create } from 'zustand';

/** Whether the list of commands of the page lies open. */
export const useCommandsOpen = create<{ readonly isOpen: boolean }>()(() => ({ isOpen: false }));

export const openCommands = (): void => useCommandsOpen.setState({ isOpen: true });
export const closeCommands = (): void => useCommandsOpen.setState({ isOpen: false });
