<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Floorplan\PlanEditRefused;
use App\Http\Requests\CsvLines;
use App\Http\Requests\JobRequest;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\HeardTable;

/**
 * Wi-Fi networks that were heard: one typed, or a table of them.
 *
 * @phpstan-import-type HeardRow from HeardTable
 */
final class HeardNetworkRequest extends JobRequest
{
    private const MOST_KB = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->hasFile('table') || $this->has('is_table')
            ? ['table' => ['required', 'file', 'max:'.self::MOST_KB, 'extensions:csv,txt']]
            : [
                'network' => ['required', 'string', 'max:80'],
                'wifi_channel' => ['required', 'integer', 'between:1,14'],
                'rssi' => ['required', 'string', 'max:8'],
                'busy' => ['nullable', 'string', 'max:8'],
                'wifi_width' => ['nullable', 'in:20,40'],
                'side' => ['nullable', 'in:above,below'],
                'room' => ['nullable', 'string', 'max:80'],
            ];
    }

    /**
     * @return list<HeardRow>
     *
     * @throws PlanEditRefused that names the row
     */
    public function rows(): array
    {
        $typed = [
            ['name', 'channel', 'rssi', 'busy', 'width', 'side', 'room'],
            array_map(fn (string $field): string => $this->string($field)->squish()->toString(), [
                'network', 'wifi_channel', 'rssi', 'busy', 'wifi_width', 'side', 'room',
            ]),
        ];
        try {
            return HeardTable::read(
                $this->hasFile('table') ? CsvLines::of($this->file('table')) : $typed,
                $this->siteJob()->rooms()->pluck('name', 'key')->all(),
            );
        } catch (InvalidInput $refused) {
            throw PlanEditRefused::bad('table', $refused);
        }
    }
}
