<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

/** Brings a job file of an earlier version to the current one. Files of the current version come back as they are. */
final readonly class Upgrade
{
    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function of(array $data): array
    {
        return ($data['version'] ?? null) === 1 ? self::fromFirst($data) : $data;
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
        foreach (self::rows($data, 'slots') as $slot) {
            $nodes['slot '.self::text($slot['slot'] ?? $slot['key'] ?? null)] = $slot['node'] ?? null;
        }
        $data['attempts'] = array_map(static function (array $attempt): array {
            $attempt['light'] = ($attempt['sawLight'] ?? false) === true ? 'seen' : null;
            unset($attempt['sawLight']);

            return $attempt;
        }, self::rows($data, 'attempts'));
        $data['proofs'] = array_map(static fn (array $proof): array => [
            ...$proof,
            'node' => $nodes['slot '.self::text($proof['slot'] ?? null)] ?? null,
            'withdrawn' => null,
        ], self::rows($data, 'proofs'));

        return $data;
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<array<array-key, mixed>> rows that are none are left for the reader to refuse
     */
    private static function rows(array $data, string $key): array
    {
        return array_values(array_filter(is_array($data[$key] ?? null) ? $data[$key] : [], is_array(...)));
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
