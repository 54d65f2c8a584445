<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;

/** What was ordered when, and what each place saw when: who saw which order is worked out from both. Times in milliseconds. */
final readonly class CrossRecord
{
    /** Two clocks that are set to each other differ by as much at most */
    private const SLACK_MS = 250;

    private const OPPOSITE = ['on' => 'off', 'off' => 'on'];

    /**
     * @param  list<array{origin: string, value: string, at: int}>  $orders  in order of time
     * @param  array<string, list<array{value: string, at: int}>>  $sights  by observer, in order of time
     */
    private function __construct(private array $orders, private array $sights) {}

    public static function fromInput(Input $orders, Input $sights): self
    {
        $seen = [];
        foreach (array_keys($sights->properties()) as $observer) {
            $seen[(string) $observer] = array_map(
                static fn (Input $one): array => ['value' => $one->get('value')->text(), 'at' => $one->get('at')->wholeFrom(0)],
                $sights->get((string) $observer)->items(),
            );
        }

        return new self(array_map(static fn (Input $one): array => [
            'origin' => $one->get('origin')->id(), 'value' => $one->get('value')->text(), 'at' => $one->get('at')->wholeFrom(0),
        ], $orders->items()), $seen);
    }

    /** @return list<CrossTry> each order with what was seen of it */
    public function tries(): array
    {
        $seen = array_fill(0, count($this->orders), []);
        foreach ($this->sights as $observer => $sights) {
            foreach ($this->matched($sights) as $number => $sight) {
                $seen[$number][$observer] = ['value' => $sight['value'], 'ms' => $sight['at'] - $this->orders[$number]['at']];
            }
        }

        return array_map(
            static fn (array $order, array $all): CrossTry => new CrossTry($order['origin'], $order['value'], $all),
            $this->orders,
            $seen,
        );
    }

    /** Whether a place has seen as much as was ordered. */
    public function isCompleteFor(string $observer): bool
    {
        return count($this->matched($this->sights[$observer] ?? [])) === count($this->orders);
    }

    /**
     * One that is late sees orders in their turn; one that sees everything the wrong way round sees the opposite of each. Whichever
     * explains more is taken; where both explain as much, where it has ended up decides.
     *
     * @param  list<array{value: string, at: int}>  $sights
     * @return array<int, array{value: string, at: int}> by number of the order
     */
    private function matched(array $sights): array
    {
        $straight = $this->inTurn($sights, static fn (string $value): string => $value);
        $turned = $this->inTurn($sights, static fn (string $value): string => self::OPPOSITE[$value] ?? $value);
        $last = $sights === [] ? null : $sights[count($sights) - 1]['value'];
        $endsOtherwise = $last !== ($this->orders[count($this->orders) - 1]['value'] ?? null);
        $isTurned = count($turned) === count($straight) ? $endsOtherwise : count($turned) > count($straight);

        return $isTurned ? $turned : $straight;
    }

    /**
     * @param  list<array{value: string, at: int}>  $sights
     * @param  callable(string): string  $shows  what is seen of an order
     * @return array<int, array{value: string, at: int}>
     */
    private function inTurn(array $sights, callable $shows): array
    {
        $matched = [];
        $next = 0;
        foreach ($sights as $sight) {
            $until = $sight['at'] + self::SLACK_MS;
            for ($number = $next; isset($this->orders[$number]) && $this->orders[$number]['at'] <= $until; $number++) {
                if ($shows($this->orders[$number]['value']) === $sight['value']) {
                    $matched[$number] = $sight;
                    $next = $number + 1;
                    break;
                }
            }
        }

        return $matched;
    }
}
