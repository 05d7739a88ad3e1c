import { closestCenter, DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { horizontalListSortingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import { type ReactNode, useMemo } from 'react';
import { useOpen } from '../../open-build/here.js';
import { tip } from '../../shared/tips.js';

const pointer = { activationConstraint: { distance: 6 } };
const keyboard = { coordinateGetter: sortableKeyboardCoordinates };

/** A list whose stages can be taken to another place, by mouse, finger or keys. */
export function InOrder({ paths: all, children }: { paths: readonly string[]; children: ReactNode }) {
  const { stagePlaced } = useOpen();
  // The same list while it says the same: whatever hangs on it is not drawn again at every key.
  const joined = all.join();
  const paths = useMemo(() => (joined === '' ? [] : joined.split(',')), [joined]);
  const accessibility = useMemo(() => ({ announcements: told(paths) }), [paths]);
  const sensors = useSensors(useSensor(PointerSensor, pointer), useSensor(KeyboardSensor, keyboard));
  const dropped = ({ active, over }: DragEndEvent) => {
    const to = paths.indexOf(String(over?.id));
    if (to >= 0 && over?.id !== active.id) stagePlaced(String(active.id), to);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped} accessibility={accessibility}>
      <SortableContext items={paths} strategy={horizontalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

const told = (paths: readonly string[]) => {
  const at = (id: string | number | undefined) => `${paths.indexOf(String(id)) + 1} of ${paths.length}`;
  return {
    onDragStart: ({ active }: { active: { id: string | number } }) => `Taken up, stage ${at(active.id)}.`,
    onDragOver: ({ over }: { over: { id: string | number } | null }) => (over ? `Over place ${at(over.id)}.` : undefined),
    onDragEnd: ({ over }: { over: { id: string | number } | null }) => (over ? `Put down at place ${at(over.id)}.` : 'Put back.'),
    onDragCancel: () => 'Put back.',
  };
};

/** The grip of a stage, and what its box needs to follow it. */
export function useGrip(path: string, label: string) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id: path });
  const grip = (
    <button
      type="button"
      ref={setActivatorNodeRef}
      {...attributes}
      {...listeners}
      aria-label={`take the ${label} to another place: Space, arrow keys, Space`}
      {...tip('drag to another place in the line')}
      className="min-w-6 cursor-grab touch-none px-1 text-soft hover:text-ink active:cursor-grabbing"
    >
      <svg width="10" height="16" aria-hidden="true">
        <path d="M2 3h6M2 8h6M2 13h6" stroke="currentColor" strokeWidth="1.5" />
      </svg>
    </button>
  );
  const style = {
    transform: transform ? `translateX(${transform.x}px)` : undefined,
    transition,
    ...(isDragging ? { position: 'relative' as const, zIndex: 5, boxShadow: '0 2px 12px rgb(0 0 0 / 0.25)' } : {}),
  };
  return { ref: setNodeRef, style, grip };
}
