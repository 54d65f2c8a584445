<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Protocol\Protocol;

/** What a hub speaks: one field each, speaks_ and the word of the protocol. */
final class HubRadioRequest extends JobRequest
{
    /** @return list<Protocol> */
    public function speaks(): array
    {
        return array_values(array_filter(
            Protocol::paired(),
            fn (Protocol $one): bool => $this->boolean("speaks_{$one->value}"),
        ));
    }

    public function lens(): string
    {
        return (SurveyLens::tryFrom($this->string('lens')->toString()) ?? SurveyLens::Radio)->value;
    }
}
