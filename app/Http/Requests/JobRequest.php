<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\StationList;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;

/** A request of a signed-in person about a job; routes have authorized it already. */
class JobRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function person(): User
    {
        /** @var User */
        return $this->user() ?? abort(401);
    }

    public function siteJob(): SiteJob
    {
        /** @var SiteJob */
        return $this->route('job');
    }

    /** The page that the slot was opened on. */
    public function backToSlot(Slot $slot): string
    {
        $station = StationList::known($this->string('station')->toString());

        return route(StationList::route($station), ['job' => $this->siteJob(), 'slot' => $slot->key]);
    }

    /** The key of something of this very job. */
    protected function existsInJob(string $table): Exists
    {
        return Rule::exists($table, 'key')->where('site_job_id', $this->siteJob()->id);
    }

    /** Numbers as some countries write them, with a comma, become numbers. */
    protected function takeDecimalCommas(string ...$fields): void
    {
        $typed = array_filter($this->only($fields), is_string(...));
        $this->merge(array_map(static fn (string $text): string => str_replace(',', '.', trim($text)), $typed));
    }
}
