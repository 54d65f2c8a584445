@use('Kavvel\Core\Protocol\Region')
@use('Kavvel\Core\Survey\Mains')
<section class="card" aria-labelledby="new-job">
    <h2 class="text-xl font-bold mb-1" id="new-job">A new job</h2>
    <x-form :action="route('jobs.store')" class="grid md:grid-cols-2 gap-x-4 items-end">
        <label class="field"><span>What it is called</span><input name="name" value="{{ old('name') }}" maxlength="80" required></label>
        <label class="field"><span>Client</span><input name="client_name" value="{{ old('client_name') }}" maxlength="120" required></label>
        <label class="field"><span>Where the house is</span>
            <input name="address" value="{{ old('address') }}" maxlength="200" required></label>
        <label class="field"><span>Radio region below 1 GHz</span><select name="region">
            @foreach (Region::cases() as $region)
            <option @selected(old('region') === $region->value)>{{ $region->value }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Mains</span><select name="mains">
            @foreach (Mains::cases() as $mains)
            <option value="{{ $mains->value }}" @selected(old('mains') === $mains->value)>{{ $mains->words() }}</option>
            @endforeach
        </select></label>
        <div class="two">
            <label class="field"><span>Latitude, for the sun</span>
                <input name="latitude" value="{{ old('latitude') }}" inputmode="decimal" placeholder="50.1"></label>
            <label class="field"><span>Longitude</span>
                <input name="longitude" value="{{ old('longitude') }}" inputmode="decimal" placeholder="-5.2"></label>
        </div>
        <button class="btn">Begin it empty</button>
    </x-form>
    <x-form :action="route('job-files.store')" enctype="multipart/form-data" class="mt-5">
        <h3 class="font-semibold mb-1">Or from a job file</h3>
        <p class="quiet mb-3">A file with a mistake changes nothing, and says where the mistake is.</p>
        <div class="grid md:grid-cols-[1fr_14rem] gap-3 items-end">
            <label class="field m-0"><span>Job file</span><input type="file" name="file" accept=".json,application/json"></label>
            <button class="btn">Import it</button>
        </div>
        @error('again')
        <label class="tick mt-3"><input type="checkbox" name="again" value="1"> <span>Make a second one of it all the same</span></label>
        @enderror
    </x-form>
    <details class="mt-4" id="company"><summary>{{ $company->name }}, as its packs name it</summary>
        <x-form :action="route('company.update')" method="put" class="grid md:grid-cols-[1fr_1fr_14rem] gap-x-4 items-end">
            <label class="field"><span>Telephone</span><input name="phone" value="{{ $company->phone }}" maxlength="40"></label>
            <label class="field"><span>E-mail</span><input type="email" name="email" value="{{ $company->email }}" maxlength="120"></label>
            <button class="btn mb-2.5">Save the company</button>
        </x-form>
    </details>
</section>
