<div class="first-thing">
    <h2 class="mt-0">First, the ranks of your school</h2>
    <p>Everything here hangs on them: an attack is needed by a rank, an answer is introduced at one.</p>
    @can('create', App\Models\Rank::class)
        <a class="btn btn-rust" href="{{ route('school') }}">Name the ranks</a>
        <a class="btn btn-plain" href="{{ route('school') }}#file">Bring a catalogue file</a>
    @else
        <p class="mb-0">Ask your head instructor to name them.</p>
    @endcan
</div>
