import { useState } from 'react';

/** One line to be added to a list: typed, then Enter or the button. */
export const AddEntry = ({
  label,
  placeholder,
  onAdd,
}: {
  readonly label: string;
  readonly placeholder: string;
  readonly onAdd: (text: string) => void;
}) => {
  const [text, setText] = useState('');
  return (
    <form
      className="mt-2 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') return;
        onAdd(text.trim());
        setText('');
      }}
    >
      <input
        aria-label={label}
        className="entry flex-1"
        placeholder={placeholder}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button type="submit" className="button-plain" disabled={text.trim() === ''}>
        Add
      </button>
    </form>
  );
};
