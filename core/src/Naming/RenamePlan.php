<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** Many names at once: what each becomes, judged among all as they will be then. */
final readonly class RenamePlan
{
    /** @param list<Rename> $renames those that change, in the order of the devices */
    private function __construct(public array $renames) {}

    /**
     * What can't be is left as it is, and the rest is judged anew beside it: names are never taken from one that keeps its own.
     *
     * @param  list<Device>  $devices  of the job, with the names that they have
     * @param  array<array-key, string>  $wanted  new names, by id
     */
    public static function of(Pattern $pattern, array $devices, ConflictCheck $check, array $wanted): self
    {
        $refused = [];
        do {
            $renames = self::judged($pattern, $devices, $check, array_diff_key($wanted, $refused));
            $bad = array_filter($renames, static fn (Rename $one): bool => ! $one->isGood());
            $refused += array_column($bad, null, 'id');
        } while ($bad !== []);
        $all = array_column($renames, null, 'id') + $refused;
        $inOrder = array_map(static fn (Device $one): ?Rename => $all[$one->id] ?? null, $devices);

        return new self(array_values(array_filter($inOrder)));
    }

    /**
     * @param  list<Device>  $devices
     * @param  array<array-key, string>  $wanted
     * @return list<Rename> those that change
     */
    private static function judged(Pattern $pattern, array $devices, ConflictCheck $check, array $wanted): array
    {
        $then = array_map(static fn (Device $one): Device => isset($wanted[$one->id])
            ? $one->called(Text::squeeze($wanted[$one->id]))
            : $one, $devices);
        $isChanging = static fn (Device $one, int $at): bool => $one->given !== $then[$at]->given;
        $changing = array_filter($devices, $isChanging, ARRAY_FILTER_USE_BOTH);
        if ($changing === []) {
            return [];
        }
        $plan = NamePlan::of($pattern, $then, $check);
        $said = self::said($plan->conflicts);
        $renames = [];
        foreach ($changing as $at => $device) {
            $renames[] = self::rename($device, $plan->names[$at], ...$said[" {$device->id}"] ?? [[], []]);
        }

        return $renames;
    }

    /**
     * @param  list<string>  $refusals
     * @param  list<string>  $warnings
     */
    private static function rename(Device $device, Name $name, array $refusals, array $warnings): Rename
    {
        return new Rename(
            $device->id,
            $device->given,
            $name->name,
            $device->given === null ? null : Text::slug($device->given),
            $name->slug,
            DeviceLabel::of($name, $device->protocol),
            [
                ...$name->slug === '' ? ['A name needs at least one letter or digit.'] : [],
                ...$refusals,
                ...NameJudgement::tooLong($name, $device),
            ],
            $warnings,
        );
    }

    /**
     * The names that the pattern gives, in the form that fits each device.
     *
     * @param  list<Device>  $devices
     * @param  bool  $onlyUnnamed  those that have a name keep it
     * @return array<string, string> by id
     */
    public static function byPattern(Pattern $pattern, array $devices, bool $onlyUnnamed): array
    {
        $asked = array_filter($devices, static fn (Device $one): bool => ! $onlyUnnamed || $one->given === null);
        $bare = array_map(static fn (Device $one): Device => $onlyUnnamed && $one->given !== null
            ? $one
            : new Device($one->id, $one->room, $one->place, $one->what, $one->protocol), $devices);

        return NamePlan::proposals($pattern, $bare, array_values(array_map(static fn (Device $one): string => $one->id, $asked)));
    }

    /**
     * The names that have a word, or several in a row, with others in their place; capitals stay as they were.
     *
     * @param  list<Device>  $devices
     * @return array<string, string> by id, of those that have it
     */
    public static function swapped(array $devices, string $from, string $to): array
    {
        $from = Text::squeeze($from);
        $names = [];
        if ($from === '') {
            return [];
        }
        foreach ($devices as $device) {
            $swapped = $device->given === null ? null : preg_replace_callback(
                '/(?<![\pL\pN])'.preg_quote($from, '/').'(?![\pL\pN])/iu',
                static fn (array $found): string => self::likeCase($found[0], Text::squeeze($to)),
                $device->given,
            );
            if ($swapped !== null && $swapped !== $device->given) {
                $names[$device->id] = Text::squeeze($swapped);
            }
        }

        return $names;
    }

    /** @return list<Rename> */
    public function good(): array
    {
        return array_values(array_filter($this->renames, static fn (Rename $one): bool => $one->isGood()));
    }

    /** The same for the same changes: what a person has seen is what is done. */
    public function mark(): string
    {
        return substr(hash('xxh128', serialize(array_map(
            static fn (Rename $one): array => [$one->id, $one->from, $one->to, $one->isGood()],
            $this->renames,
        ))), 0, 12);
    }

    private static function likeCase(string $before, string $after): string
    {
        $first = mb_substr($before, 0, 1);

        return $first !== mb_strtolower($first) ? mb_strtoupper(mb_substr($after, 0, 1)).mb_substr($after, 1) : $after;
    }

    /**
     * @param  list<Conflict>  $conflicts
     * @return array<string, array{list<string>, list<string>}> refusals and warnings by " id"
     */
    private static function said(array $conflicts): array
    {
        $said = [];
        foreach ($conflicts as $conflict) {
            foreach ($conflict->ids as $id) {
                $said[" {$id}"] ??= [[], []];
                $said[" {$id}"][$conflict->forbids() ? 0 : 1][] = $conflict->why;
            }
        }

        return $said;
    }
}
