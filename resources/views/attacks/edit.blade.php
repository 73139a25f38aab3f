<x-layout title="Edit {{ $attack->title }}">
    <h1>Edit “{{ $attack->title }}”</h1>
    @if ($why)<p class="flash flash-wrong" role="alert"><strong>This cannot be read</strong> until you save it anew. {{ $why }}</p>@endif
    <x-overtaken :row="$attack"><p>Theirs: {{ $attack->title }} — {{ $attack->kind }}, {{ $attack->hand }}, {{ $attack->bearing }} o’clock, {{ $attack->phase }}.</p></x-overtaken>
    <form method="post" action="{{ route('attacks.update', $attack) }}">
        @csrf @method('put')
        <input type="hidden" name="version" value="{{ $form->value('version') }}">
        @include('attacks.form')
        <button class="btn btn-rust mt-3">Save</button>
        <a class="btn btn-plain mt-3" href="{{ route('attacks.show', $attack) }}">Back without saving</a>
    </form>
</x-layout>
