<details id="reading-file"><summary>As a file</summary>
    @isset($reading)
    <a class="btn w-full mb-2" hx-boost="false" href="{{ route('jobs.mesh-readings.file.show', [$job, $reading]) }}">Its links as
        GraphML</a>
    @endisset
    @if ($bench->mayWork())
    <x-form :action="route('jobs.mesh-readings.files.store', $job)" enctype="multipart/form-data">
        <label class="field"><span>A reading as GraphML</span><input type="file" name="graph" accept=".graphml,.xml"></label>
        <button class="btn">Take it in</button>
    </x-form>
    @endif
</details>
