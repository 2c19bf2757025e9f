import Button from 'antd/es/button';
import type { ButtonProps } from 'antd/es/button';

/** A button that is a card: what is in it keeps its own layout and takes the lines it needs. */
export function CardButton({ className = '', ...props }: ButtonProps) {
  return <Button type="text" {...props} className={`card-button ${className}`} />;
}
