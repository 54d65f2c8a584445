<x-form-page title="Client, visit and job file" :job="$job">
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
</x-form-page>
