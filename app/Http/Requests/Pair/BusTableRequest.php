<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\CsvLines;
use App\Http\Requests\JobRequest;
use App\Stations\Pair\BusRefused;
use Kavvel\Core\Bus\BusTable;
use Kavvel\Core\Bus\GroupEntry;
use Kavvel\Core\Input\InvalidInput;

/** The group addresses of a bus project, as a table. */
final class BusTableRequest extends JobRequest
{
    private const MOST_KB = 1024;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['table' => ['required', 'file', 'max:'.self::MOST_KB, 'extensions:csv,txt']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'table.required' => 'Choose the table of group addresses: CSV with the columns address and name.',
            'table.max' => 'A table has at most 1 MB.',
            'table.extensions' => 'That is no CSV file. Save the addresses as CSV first.',
        ];
    }

    /**
     * @return non-empty-list<GroupEntry>
     *
     * @throws BusRefused that names the row
     */
    public function entries(): array
    {
        try {
            return BusTable::read(CsvLines::of($this->file('table')));
        } catch (InvalidInput $broken) {
            throw BusRefused::isBroken($broken);
        }
    }
}
