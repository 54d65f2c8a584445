<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What of a device's name and room goes along with it when it is passed on. */
enum Copies: string
{
    case Nothing = 'nothing';
    case Name = 'name';
    case Both = 'name and room';

    /**
     * Where no sheet says it. Bridged devices carry a label of their own (Matter core specification), a shared one is named anew by
     * whoever takes it in; that an account with a maker hands on rooms as well is an assumption.
     */
    public static function of(string $form): self
    {
        return match ($form) {
            Form::MATTER => self::Nothing,
            Form::CLOUD_LINK => self::Both,
            default => self::Name,
        };
    }

    /** What arrives at the end of a way: no more than what every hop from the source on hands on. */
    public static function along(Way $way): self
    {
        if ($way->legs === []) {
            return self::of($way->form);
        }
        $arrives = self::Both;
        foreach ($way->legs as $leg) {
            $arrives = $arrives->atMost($leg->offer->copies ?? self::of($leg->offer->as));
        }

        return $arrives;
    }

    public function hasName(): bool
    {
        return $this !== self::Nothing;
    }

    public function hasRoom(): bool
    {
        return $this === self::Both;
    }

    private function atMost(self $other): self
    {
        $order = self::cases();

        return array_search($this, $order, true) <= array_search($other, $order, true) ? $this : $other;
    }
}
