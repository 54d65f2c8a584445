<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Editing\OptimisticLock;
use App\Models\BridgeSheet;
use App\Models\Profile;
use App\Models\User;
use Kavvel\Core\Bridging\SheetFile;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Catalogue\CatalogueFile;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Catalogue\StepText;
use Kavvel\Core\Catalogue\StepUnreadable;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a company knows of kinds of devices: taken in, given out and put right. What is taken in is read as it will be used. */
final readonly class CatalogueEdits
{
    public function __construct(private OptimisticLock $lock) {}

    /**
     * @param  bool  $onlyNew  what is here already stays as it is
     * @return array{new: int, changed: int}
     *
     * @throws EntryRefused
     */
    public function import(string $json, string $by, bool $onlyNew = false): array
    {
        try {
            $file = CatalogueFile::open($json);
            $entries = CatalogueFile::profiles($file);
            $sheets = SheetFile::read($file);
        } catch (InvalidInput $broken) {
            throw EntryRefused::isBroken($broken);
        }
        $count = ['new' => 0, 'changed' => 0];
        $known = Profile::query()->lockForUpdate()->get()->keyBy('key');
        foreach ($entries as $entry) {
            $profile = $known[$entry['key']] ?? new Profile(['key' => $entry['key']]);
            $isNew = ! $profile->exists;
            if ($isNew || (! $onlyNew && $profile->data !== $entry)) {
                $profile->fill(['data' => $entry, 'changed_by' => $by, 'lock_version' => $isNew ? 1 : $profile->lock_version + 1])->save();
                $count[$isNew ? 'new' : 'changed']++;
            }
        }

        return $this->importSheets($sheets, $count, $by, $onlyNew);
    }

    public function export(): string
    {
        return CatalogueFile::write(
            array_values(Profile::query()->orderBy('key')->get()->map(static fn (Profile $profile): array => $profile->data)->all()),
            array_values(BridgeSheet::query()->orderBy('kind')->orderBy('key')->get()
                ->map(static fn (BridgeSheet $sheet): array => $sheet->written())->all()),
        );
    }

    /**
     * @param  array<string, string>  $fields  as people write them
     *
     * @throws EntryRefused
     */
    public function change(Profile $profile, array $fields, int $seenVersion, User $person): void
    {
        $data = $this->read($this->merged($profile->data, $fields));
        $this->lock->update($profile, $seenVersion, ['data' => $data, 'changed_by' => $person->name], "the entry “{$data['name']}”", [
            'changed_by' => 'Changed by',
        ]);
        // The update went past the model: pages that show the entry are old now.
        $profile->fireChanged();
    }

    /**
     * A copy of an entry under another key: most devices are like one that is known.
     *
     * @throws EntryRefused
     */
    public function copy(Profile $like, string $key, User $person): Profile
    {
        if (Profile::query()->where('key', $key)->exists()) {
            throw EntryRefused::isHereAlready($key);
        }

        return Profile::query()->create(['key' => $key, 'data' => ['key' => $key] + $like->data, 'changed_by' => $person->name]);
    }

    /**
     * @param  array<string, mixed>  $fields  as a file has them; what is empty is left out
     *
     * @throws EntryRefused
     */
    public function changeSheet(BridgeSheet $sheet, array $fields, int $seenVersion, User $person): void
    {
        $data = array_filter(
            ['key' => $sheet->key, ...$fields],
            static fn (mixed $value): bool => ! in_array($value, ['', null, false, []], true),
        );
        $data += ['accepts' => [], ...$sheet->kind === SheetKind::Ecosystem ? ['knows' => []] : ['offers' => []]];
        try {
            $sheet->kind->read(Input::of($data));
        } catch (InvalidInput $broken) {
            throw EntryRefused::isBroken($broken);
        }
        $this->lock->update($sheet, $seenVersion, ['data' => $data, 'changed_by' => $person->name], "the entry “{$sheet->name()}”", [
            'changed_by' => 'Changed by',
        ]);
        $sheet->touchJobs();
    }

    /**
     * A copy of a sheet under another key.
     *
     * @throws EntryRefused
     */
    public function copySheet(BridgeSheet $like, string $key, User $person): BridgeSheet
    {
        if (BridgeSheet::query()->where('kind', $like->kind)->where('key', $key)->exists()) {
            throw EntryRefused::isHereAlready($key);
        }
        $copy = new BridgeSheet(['kind' => $like->kind, 'key' => $key]);
        $copy->put(['key' => $key] + $like->data, $person->name);

        return $copy;
    }

    /**
     * @param  array<string, array<string, array<array-key, mixed>>>  $sheets  by what they are of
     * @param  array{new: int, changed: int}  $count
     * @return array{new: int, changed: int}
     */
    private function importSheets(array $sheets, array $count, string $by, bool $onlyNew): array
    {
        $known = BridgeSheet::query()->lockForUpdate()->get()
            ->keyBy(static fn (BridgeSheet $sheet): string => "{$sheet->kind->value} {$sheet->key}");
        foreach ($sheets as $kind => $ofKind) {
            foreach ($ofKind as $data) {
                $sheet = $known["{$kind} {$data['key']}"] ?? new BridgeSheet(['kind' => $kind, 'key' => $data['key']]);
                $isNew = ! $sheet->exists;
                if ($isNew || (! $onlyNew && $sheet->written() !== $data)) {
                    $sheet->put($data, $by);
                    $count[$isNew ? 'new' : 'changed']++;
                }
            }
        }

        return $count;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, string>  $fields
     * @return array<array-key, mixed>
     */
    private function merged(array $data, array $fields): array
    {
        $list = static fn (string $text): array => array_values(array_filter(array_map(trim(...), explode("\n", $text))));
        $recipe = is_array($data['recipe'] ?? null) ? $data['recipe'] : [];
        $join = $this->steps($fields['join'], 'join');
        if ($join !== [] || $recipe !== []) {
            $light = is_array($recipe['light'] ?? null) ? $recipe['light'] : [];
            $data['recipe'] = [
                ...$recipe, 'needs' => $list($fields['needs']), 'join' => $join, 'leave' => $this->steps($fields['leave'], 'leave'),
                'light' => [
                    ...$light, 'words' => $fields['light'], 'pattern' => $fields['pattern'], 'perSecond' => (float) $fields['perSecond'],
                    'colour' => $fields['colour'],
                ],
            ];
        }

        return [
            ...$data, 'name' => $fields['name'], 'model' => $fields['model'], 'caution' => $fields['caution'],
            'limits' => $list($fields['limits']), 'capabilities' => $list(str_replace(',', "\n", $fields['capabilities'])),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function steps(string $lines, string $field): array
    {
        try {
            return StepText::read($lines);
        } catch (StepUnreadable $broken) {
            throw EntryRefused::hasNoStep($broken, $field);
        }
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function read(array $data): array
    {
        try {
            CoreProfile::fromInput(Input::of($data));
        } catch (InvalidInput $broken) {
            throw EntryRefused::isBroken($broken);
        }

        return $data;
    }
}
