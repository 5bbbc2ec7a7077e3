import styled from 'styled-components';
import { fonts } from '../../theme/tokens';

const How = styled.details`
  summary {
    min-height: 36px;
    cursor: pointer;
    font-weight: 600;
  }
  li {
    margin-bottom: 0.3rem;
  }
  code {
    font-family: ${fonts.code};
    overflow-wrap: anywhere;
  }
`;

/** How a saved image gets onto a stick with what the system has. */
export function HowToWrite() {
  return (
    <How>
      <summary>How to write a saved image onto the stick</summary>
      <ul>
        <li>
          With a graphical disk tool: choose the stick as a whole, not its partition, then &ldquo;restore from
          image&rdquo;, and take the raw image. Most of them unpack a packed one by themselves.
        </li>
        <li>
          In a terminal: find the stick with <code>lsblk</code>, take it out of use with <code>umount</code>, then{' '}
          <code>gunzip -c NAME.img.gz | dd of=/dev/STICK bs=4M conv=fsync</code>. A wrong name there erases a disk: read
          it twice.
        </li>
        <li>
          Where the system can only copy files: format the stick as FAT32, 32 GiB at most, and write into the mounted
          stick above.
        </li>
        <li>Eject it, put it in again, read it as an image, and check it below.</li>
      </ul>
    </How>
  );
}
