<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\ChannelRequest;
use App\Models\Network;
use App\Models\SiteJob;
use App\Stations\Survey\Channels\ChannelChoice;
use Illuminate\Http\RedirectResponse;

/** The channel of one of our networks. */
final class ChannelController
{
    public function update(ChannelRequest $request, SiteJob $job, Network $network, ChannelChoice $choice): RedirectResponse
    {
        $choice->choose($job, $network, $request->integer('channel'), $request->seen(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'channels', 'at' => $network->protocol->value], 303);
    }
}
