<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Closure;

/** Brings a job file of an earlier version to the current one. Files of the current version come back as they are. */
final readonly class Upgrade
{
    /** Sections that version 4 has and no version before it had */
    private const FOURTH = ['wants', 'leftOut', 'circuits', 'keyUses', 'heating', 'closings', 'pointSteps', 'tradeWorks', 'designerCounts'];

    /** And version 5 */
    private const FIFTH = ['existing', 'measures'];

    /** And version 6 */
    private const SIXTH = ['fits', 'isolations', 'temporaryStates'];

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function of(array $data): array
    {
        $data = ($data['version'] ?? null) === 1 ? self::fromFirst($data) : $data;

        $data = ($data['version'] ?? null) === 2 ? self::fromSecond($data) : $data;

        $data = ($data['version'] ?? null) === 3 ? [...$data, 'version' => 4, ...array_fill_keys(self::FOURTH, [])] : $data;

        $data = ($data['version'] ?? null) === 4 ? [...$data, 'version' => 5, ...array_fill_keys(self::FIFTH, [])] : $data;

        $data = ($data['version'] ?? null) === 5 ? [...$data, 'version' => 6, ...array_fill_keys(self::SIXTH, [])] : $data;

        // Version 7 says more of an attempt, a hub and a device than any before it; what it says may be left out.
        return ($data['version'] ?? null) === 6 ? [...$data, 'version' => 7] : $data;
    }

    /**
     * Version 2 calls a survey of the radios a mesh reading, tells a light from no answer, and gives a proof its node.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromFirst(array $data): array
    {
        $data['version'] = 2;
        if (isset($data['surveys'])) {
            $data['meshReadings'] = $data['surveys'];
            unset($data['surveys']);
        }
        $nodes = [];
        foreach (array_filter(self::rows($data, 'slots'), is_array(...)) as $slot) {
            $nodes['slot '.self::text($slot['slot'] ?? $slot['key'] ?? null)] = $slot['node'] ?? null;
        }
        $data['attempts'] = self::each($data, 'attempts', static function (array $attempt): array {
            $attempt['light'] = ($attempt['sawLight'] ?? false) === true ? 'seen' : null;
            unset($attempt['sawLight']);

            return $attempt;
        });
        $data['proofs'] = self::each($data, 'proofs', static fn (array $proof): array => [
            ...$proof,
            'node' => $nodes['slot '.self::text($proof['slot'] ?? null)] ?? null,
            'withdrawn' => null,
        ]);

        return $data;
    }

    /**
     * Version 3 has ways for cables, pictures under the plan, and Wi-Fi networks that were heard.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromSecond(array $data): array
    {
        return [...$data, 'version' => 3, 'ducts' => [], 'underlays' => [], 'heardNetworks' => []];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function rows(array $data, string $key): array
    {
        return is_array($data[$key] ?? null) ? $data[$key] : [];
    }

    /**
     * What is no row, or no list of rows, is left as it is: the reader refuses it by its path.
     *
     * @param  array<string, mixed>  $data
     * @param  Closure(array<array-key, mixed>): array<array-key, mixed>  $change
     */
    private static function each(array $data, string $key, Closure $change): mixed
    {
        return is_array($data[$key] ?? null)
            ? array_map(static fn (mixed $row): mixed => is_array($row) ? $change($row) : $row, $data[$key])
            : $data[$key] ?? [];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
