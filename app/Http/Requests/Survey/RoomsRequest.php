<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

/** A request of the page on which rooms are drawn. */
class RoomsRequest extends JobRequest
{
    /**
     * That page, on the storey that is in hand.
     *
     * @param  string|null  $at  what is in hand then
     * @return array<string, mixed> of its route
     */
    public function roomsLens(?string $at = null): array
    {
        $storey = $this->string('on')->toString() ?: null;

        return array_filter(['job' => $this->siteJob(), 'lens' => 'rooms', 'storey' => $storey, ...compact('at')]);
    }
}
