<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Protocol\LabelField;

/**
 * What becomes of one name, proposed or typed, among all others of its job: what forbids it, what warns of it, and the
 * forms that the device takes. One judgement for both.
 */
final readonly class NameJudgement
{
    /**
     * @param  list<string>  $refusals  why it can't be given
     * @param  list<string>  $warnings  what could be mixed up with it
     */
    private function __construct(public Name $name, public array $refusals, public array $warnings) {}

    /**
     * @param  list<Device>  $devices  of the job, this one among them
     * @param  string|null  $typed  null: the name that was given, or else the one of the pattern, in the form that fits the device
     */
    public static function of(Pattern $pattern, array $devices, ConflictCheck $check, string $id, ?string $typed = null): self
    {
        $device = self::device($devices, $id);
        $called = $typed ?? NamePlan::proposals($pattern, $devices, [$id])[$id];
        $devices = array_map(static fn (Device $one): Device => $one->id === $id ? $one->called(Text::squeeze($called)) : $one, $devices);
        $plan = NamePlan::of($pattern, $devices, $check, about: $id);
        $name = $plan->name($id) ?? throw UnknownDevice::called($id);
        $refusals = $name->slug === '' ? ['A name needs at least one letter or digit.'] : [];
        $warnings = [];
        foreach ($plan->conflicts as $conflict) {
            if (in_array($id, $conflict->ids, true)) {
                $why = $conflict->kind === 'same' ? self::taken($conflict, $name, $devices) : $conflict->why;
                $conflict->forbids() ? $refusals[] = $why : $warnings[] = $why;
            }
        }

        return new self($name, [...$refusals, ...self::tooLong($name, $device)], $warnings);
    }

    public function isGood(): bool
    {
        return $this->refusals === [];
    }

    /** @return list<array{title: string, bytes: int, text: string|null}> what is written into each field of the device */
    public function labels(Device $device): array
    {
        return array_map(
            fn (LabelField $field): array => ['title' => $field->title, 'bytes' => $field->bytes, 'text' => $this->name->label($field)],
            $device->protocol?->rules()->labelFields() ?? [],
        );
    }

    /** @param list<Device> $devices */
    private static function taken(Conflict $conflict, Name $name, array $devices): string
    {
        $others = array_values(array_filter($conflict->ids, static fn (string $id): bool => $id !== $name->id));
        $other = self::device($devices, $others[0] ?? $name->id);
        $title = Text::squeeze("{$other->place} {$other->what}");
        $room = $other->room === '' ? '' : ' in the '.mb_strtolower($other->room, 'UTF-8');

        return "“{$name->name}” is already the name of the {$title}{$room}. Add what tells them apart.";
    }

    /** @return list<string> a device with one field for its name shows that name: it has to fit as it is */
    public static function tooLong(Name $name, Device $device): array
    {
        if (Name::fitsAsItIs($name->name, $device->protocol) || ! $name->fits($device->protocol)) {
            return [];
        }
        [$field] = $device->protocol?->rules()->labelFields() ?? [];

        return [sprintf(
            '“%s” has %d bytes; the %s takes %d. “%s” would fit.',
            $name->name,
            strlen($name->name),
            $field->title,
            $field->bytes,
            $name->label($field),
        )];
    }

    /** @param list<Device> $devices */
    private static function device(array $devices, string $id): Device
    {
        foreach ($devices as $device) {
            if ($device->id === $id) {
                return $device;
            }
        }

        throw UnknownDevice::called($id);
    }
}
