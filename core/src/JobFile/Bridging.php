<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Bridging\LinkRun;
use Kavvel\Core\Bridging\MigrationSchool;
use Kavvel\Core\Bridging\SheetFile;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Release;

/** What a job file tells of ecosystems and of the boxes on the way there; a file may tell nothing of them. */
final readonly class Bridging
{
    /**
     * @param  array<string, mixed>  $gateways
     * @param  array<string, string>  $slots
     */
    public static function check(Input $input, array $gateways, array $slots): void
    {
        $sheets = SheetFile::read($input);
        foreach (['ecosystems' => SheetKind::Ecosystem, 'boxes' => SheetKind::Box] as $section => $kind) {
            if ($input->find($section) === null) {
                continue;
            }
            Check::keys($input, $section);
            foreach ($input->get($section)->items() as $row) {
                Check::known($row->get('sheet'), $sheets[$kind->value]);
                Release::fromInput($row->find('matterRelease'));
                $row->find('link')?->word(['standin']);
            }
        }
        $links = [];
        foreach ($input->find('bridgeLinks')?->items() ?? [] as $row) {
            if (isset($links[' '.$row->get('key')->id()])) {
                throw InvalidInput::duplicateId($row->get('key')->id(), $row->get('key')->at);
            }
            $links[' '.$row->get('key')->id()] = LinkRun::fromInput($row->get('acts'));
            $row->find('school')?->word(array_column(MigrationSchool::cases(), 'value'));
        }
        $told = [];
        foreach ($input->find('toldLosses')?->items() ?? [] as $row) {
            $pair = serialize([$row->get('slot')->id(), $row->get('ecosystem')->id()]);
            if (isset($told[$pair])) {
                throw InvalidInput::duplicateId($row->get('slot')->id(), $row->at);
            }
            $told[$pair] = true;
        }
        $set = [];
        foreach ($input->find('setNames')?->items() ?? [] as $row) {
            $pair = serialize([$row->get('slot')->id(), $row->get('ecosystem')->id()]);
            if (isset($set[$pair])) {
                throw InvalidInput::duplicateId($row->get('slot')->id(), $row->at);
            }
            $set[$pair] = true;
        }
        self::wrappers($input, $slots);
        self::crossings($input, $slots);
        $taken = [];
        foreach ($input->find('boxes')?->items() ?? [] as $box) {
            $box->get('owned')->flag();
            $gateway = $box->find('gateway');
            if ($gateway === null) {
                continue;
            }
            Check::known($gateway, $gateways);
            if (isset($taken[' '.$gateway->id()])) {
                throw InvalidInput::duplicateId($gateway->id(), $gateway->at);
            }
            $taken[' '.$gateway->id()] = true;
        }
    }

    /** @param array<string, string> $slots */
    private static function crossings(Input $input, array $slots): void
    {
        $tried = [];
        foreach ($input->find('crossings')?->items() ?? [] as $row) {
            $slot = $row->get('slot');
            Check::known($slot, $slots);
            if (isset($tried[" {$slot->id()}"])) {
                throw InvalidInput::duplicateId($slot->id(), $slot->at);
            }
            $tried[" {$slot->id()}"] = true;
            $places = array_map(static fn (Input $one): string => $one->get('ecosystem')->id(), $row->get('places')->items());
            foreach ([...$row->get('orders')->items(), ...$row->get('sights')->items()] as $one) {
                $one->get('ecosystem')->word($places);
            }
        }
    }

    /** @param array<string, string> $slots */
    private static function wrappers(Input $input, array $slots): void
    {
        $wrapped = [];
        foreach ($input->find('wrappers')?->items() ?? [] as $row) {
            Check::known($row->get('slot'), $slots);
            $wrapping = Wrapping::from($row->get('wrapping')->word(array_column(Wrapping::cases(), 'value')));
            $pair = serialize([$row->get('slot')->id(), $wrapping]);
            if (isset($wrapped[$pair])) {
                throw InvalidInput::duplicateId($row->get('slot')->id(), $row->at);
            }
            $wrapped[$pair] = true;
            if (! $wrapping->canBegin($row->get('default')->text())) {
                throw InvalidInput::outOfRange($row->get('default')->at, "a default of {$wrapping->value}");
            }
        }
    }
}
