<?php

declare(strict_types=1);

namespace App\Stations;

use Illuminate\Http\Request;

/** What a person asked a station's page for. */
final readonly class Asked
{
    /**
     * @param  string|null  $next  key of the slot that was chosen for the move
     * @param  string|null  $slot  key of the slot that is open beside the plan
     * @param  string|null  $show  a list that was asked for instead of the move
     * @param  string|null  $lens  what the middle is to show, where a station has a choice
     * @param  string|null  $storey  key of the storey that is drawn
     * @param  string|null  $at  what else is in hand, in the words of the station
     */
    public function __construct(
        public ?string $next = null,
        public ?string $slot = null,
        public ?string $show = null,
        public ?string $lens = null,
        public ?string $storey = null,
        public ?string $at = null,
    ) {}

    public static function of(Request $request): self
    {
        return new self(
            $request->string('next')->toString() ?: null,
            $request->string('slot')->toString() ?: null,
            $request->string('show')->toString() ?: null,
            $request->string('lens')->toString() ?: null,
            $request->string('storey')->toString() ?: null,
            $request->string('at')->toString() ?: null,
        );
    }
}
