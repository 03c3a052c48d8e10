/** The heads over a row's own columns, whatever stands beside them. */
export function RowHeads() {
  return (
    <>
      <td className="w-7" />
      <th scope="col" className="w-16 font-normal">
        starts
      </th>
      <td className="w-8" />
      <th scope="col" className="font-normal">
        row, and last time
      </th>
      <th scope="col" className="font-normal">
        dose
      </th>
      <th scope="col" className="w-14 font-normal">
        takes
      </th>
    </>
  );
}
