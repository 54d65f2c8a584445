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
    <x-later id="client-{{ $job->key }}" class="mt-2" :href="route('jobs.forms.client', $job)" title="Client, visit and job file"/>
    @endcan
    @can('lead', $job)
    <x-later id="hubs-{{ $job->key }}" :href="route('jobs.forms.hubs', $job)" title="Hubs and archive"/>
    @endcan
</article>
