<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Floorplan\PlanEditRefused;
use App\Http\Requests\CsvLines;
use Kavvel\Core\Floorplan\Edits\AddRooms;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\RoomTable;
use Kavvel\Core\Input\InvalidInput;

/** A table of rooms: a file, or its lines typed. */
final class RoomTableRequest extends RoomsRequest
{
    private const MOST_KB = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'storey' => ['required', 'string'],
            'table' => ['required', 'file', 'max:'.self::MOST_KB, 'extensions:csv,txt'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'table.required' => 'Choose a file of rooms (CSV).',
            'table.max' => 'A table of rooms has '.self::MOST_KB.' kB at most.',
            'table.extensions' => 'A table of rooms is a file that ends in .csv or .txt.',
        ];
    }

    /** @throws PlanEditRefused that names the row */
    public function edit(Plan $plan): AddRooms
    {
        try {
            return new AddRooms(RoomTable::read(CsvLines::of($this->file('table')), $plan, $this->string('storey')->toString()));
        } catch (InvalidInput $refused) {
            throw PlanEditRefused::bad('table', $refused);
        }
    }
}
