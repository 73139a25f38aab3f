<div class="first-thing">
    <h2 class="mt-0">No attack is in the catalogue yet</h2>
    <p>Begin with the one that your students meet most often: name it exactly, then write what you teach against it. The wall builds itself from there.</p>
    @can('create', App\Models\Attack::class)<a class="btn btn-rust" data-key="n" href="{{ route('attacks.create') }}">Catalogue an attack</a>@endcan
    @can('import', App\Models\School::class)<a class="btn btn-plain" href="{{ route('school') }}#file">Bring a catalogue file</a>@endcan
</div>
