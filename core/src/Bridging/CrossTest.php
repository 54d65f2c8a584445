<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Catalogue\Load;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Wants\PlugLoad;

/** A device operated from every place that can, and looked at in every place that shows it: who is late, reversed or blind. */
final readonly class CrossTest
{
    /** Tries from each place: a straggler shows over ten of them */
    public const TRIES = 10;

    /**
     * @param  list<string>  $origins
     * @param  list<string>  $observers
     * @param  array<string, array<string, CrossCell>>  $cells  by origin and observer
     */
    private function __construct(public array $origins, public array $observers, private array $cells) {}

    /**
     * @param  list<CrossTry>  $tries
     * @param  list<string>  $origins
     * @param  list<string>  $observers
     */
    public static function of(array $tries, array $origins, array $observers): self
    {
        $cells = [];
        foreach ($origins as $origin) {
            $own = array_values(array_filter($tries, static fn (CrossTry $try): bool => $try->origin === $origin));
            foreach ($observers as $observer) {
                $cells[$origin][$observer] = CrossCell::of($own, $observer);
            }
        }

        return new self($origins, $observers, $cells);
    }

    /**
     * What is ordered from where, one after the other: each order changes what is, and no place orders always the same.
     *
     * @param  list<string>  $origins
     * @param  string  $before  the state in which it is found
     * @return list<array{string, string}> origin and value
     */
    public static function orders(array $origins, string $before): array
    {
        $orders = [];
        $value = $before;
        for ($time = 0; $time < self::TRIES; $time++) {
            foreach (self::turned($origins, $time) as $origin) {
                $value = $value === 'on' ? 'off' : 'on';
                $orders[] = [$origin, $value];
            }
        }

        return $orders;
    }

    /** Whether it may be switched again and again: a light, or a plug of which is known that it feeds nothing that harms. */
    public static function mayBeTried(Profile $profile, ?PlugLoad $load): bool
    {
        return match ($profile->load) {
            Load::Light => ! $profile->vital,
            Load::Socket => $profile->isMadeToRelay() || ($load !== null && ! $load->staysOn && ! $load->heats),
            default => false,
        };
    }

    public function cell(string $origin, string $observer): CrossCell
    {
        return $this->cells[$origin][$observer];
    }

    public function isGood(): bool
    {
        return array_filter($this->all(), static fn (CrossCell $one): bool => ! $one->verdict->isGood()) === [];
    }

    /**
     * The fault lies on what the bad ones share: one observer that is bad whoever operates, one origin that nobody sees, else the device
     * itself or what all of them go through.
     *
     * @return list<CrossFault>
     */
    public function faults(): array
    {
        $tried = array_values(array_filter($this->origins, fn (string $one): bool => ! $this->isUntried($one)));
        $isBad = fn (string $origin, string $observer): bool => ! $this->cell($origin, $observer)->verdict->isGood();
        $deaf = array_values(array_filter(
            $tried,
            fn (string $origin): bool => array_filter(
                $this->observers,
                fn (string $observer): bool => $this->cell($origin, $observer)->verdict !== CrossVerdict::Silent,
            ) === [],
        ));
        if ($tried !== [] && $deaf === $tried) {
            return [CrossFault::ofAll()];
        }
        $heard = array_values(array_diff($tried, $deaf));
        $faults = array_map(CrossFault::from(...), $deaf);
        foreach ($this->observers as $observer) {
            $bad = array_values(array_filter($heard, static fn (string $origin): bool => $isBad($origin, $observer)));
            if ($bad !== []) {
                $verdict = $this->cell($bad[0], $observer)->verdict;
                $faults[] = $bad === $heard ? CrossFault::into($observer, $verdict) : CrossFault::between($bad[0], $observer, $verdict);
            }
        }

        return $faults;
    }

    /**
     * Beginning with another one each time: with an even number of them, one would always switch on and the other always off.
     *
     * @param  list<string>  $origins
     * @return list<string>
     */
    private static function turned(array $origins, int $time): array
    {
        $first = $origins === [] ? 0 : $time % count($origins);

        return [...array_slice($origins, $first), ...array_slice($origins, 0, $first)];
    }

    private function isUntried(string $origin): bool
    {
        return array_filter(
            $this->cells[$origin],
            static fn (CrossCell $cell): bool => $cell->verdict !== CrossVerdict::Untried,
        ) === [];
    }

    /** @return list<CrossCell> */
    private function all(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->cells)));
    }
}
