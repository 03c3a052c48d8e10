/** The heads over a row's own columns, whatever stands beside them. */
export function RowHeads() {
  return (
    <>
      <td className="w-7" />
      <th scope="col" className="w-13 font-normal">
        starts
      </th>
      <td className="w-8 max-sm:hidden" />
      <th scope="col" className="font-normal">
        row
      </th>
      <th scope="col" className="font-normal max-sm:hidden">
        dose
      </th>
      <td className="w-24" />
      <th scope="col" className="w-12 font-normal max-sm:hidden">
        takes
      </th>
    </>
  );
}
