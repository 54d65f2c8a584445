@php($job = $row['job'])
<article class="card mb-3" aria-labelledby="job-{{ $job->key }}">
    <div class="grid gap-4 md:grid-cols-[1fr_16rem] items-center">
        <div>
            <h2 class="text-2xl font-bold" id="job-{{ $job->key }}">{{ $job->name }}</h2>
            <p class="quiet">{{ $job->client_name }} · {{ $job->address }}</p>
            <svg class="cable-across" viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true">
                <line class="jacket-edge" x1="0" x2="100" y1="3" y2="3" vector-effect="non-scaling-stroke"/>
                <line class="jacket-edge" x1="0" x2="100" y1="11" y2="11" vector-effect="non-scaling-stroke"/>
                <rect class="stripped" x="0" y="4.5" height="5"
                    width="{{ $row['slots'] === 0 ? 0 : round(100 * $row['in'] / $row['slots'], 1) }}"/>
            </svg>
            <p>
                {{ ['survey' => 'At survey', 'commissioning' => 'Commissioning', 'aftercare' => 'Aftercare'][$job->stage] }},
                visit {{ $job->visit_number }} of {{ $job->visit_of }} ·
                {{ $row['in'] }} of {{ $row['slots'] }} in{{
                $row['snags'] ? " · {$row['snags']} ".Str::plural('snag', $row['snags']) : '' }}{{
                $row['questions'] ? " · {$row['questions']} ".Str::plural('question', $row['questions']) : '' }}
            </p>
        </div>
        <a class="{{ $loop->first ? 'big' : 'btn' }}" href="{{ route('jobs.show', $job) }}">{{
            $loop->first ? 'Go to work' : 'Open' }}<span class="visually-hidden"> at {{ $job->name }}</span></a>
    </div>
    @can('editClient', $job)
    <details class="mt-2" id="client-{{ $job->key }}"><summary>Client, visit and job file</summary>
        <x-form :action="route('jobs.client.update', $job)" method="put" class="grid md:grid-cols-2 gap-x-4">
            <input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
            <label class="field"><span>Client</span><input name="client_name" value="{{ $job->client_name }}" required></label>
            <label class="field"><span>Address</span><input name="address" value="{{ $job->address }}" required></label>
            <label class="field"><span>E-mail</span><input type="email" name="client_email" value="{{ $job->client_email }}"></label>
            <label class="field"><span>Telephone</span><input name="client_phone" value="{{ $job->client_phone }}"></label>
            <button class="btn">Save the client</button>
        </x-form>
        <x-form :action="route('jobs.visit.update', $job)" method="put" class="grid grid-cols-2 md:grid-cols-4 gap-x-4 mt-4">
            <input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
            <label class="field"><span>Visit</span>
                <input name="visit_number" value="{{ $job->visit_number }}" inputmode="numeric" required></label>
            <label class="field"><span>Of</span><input name="visit_of" value="{{ $job->visit_of }}" inputmode="numeric" required></label>
            <label class="field"><span>Minutes planned</span>
                <input name="planned_minutes" value="{{ $job->planned_minutes }}" inputmode="numeric" required></label>
            <label class="field"><span>Minutes used</span>
                <input name="used_minutes" value="{{ $job->used_minutes }}" inputmode="numeric" required></label>
            <button class="btn col-span-2">Save the visit</button>
            <a class="btn plain col-span-2" href="{{ route('jobs.export', $job) }}">Export the job file</a>
        </x-form>
    </details>
    @endcan
    @can('lead', $job)
    <x-later id="hubs-{{ $job->key }}" :href="route('jobs.forms.hubs', $job)" title="Hubs and archive"/>
    @endcan
</article>
