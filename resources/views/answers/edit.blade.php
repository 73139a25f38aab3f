<x-layout title="Edit {{ $answer->title }}">
    <h1>Edit “{{ $answer->title }}”</h1>
    @if ($why)<p class="flash flash-wrong" role="alert"><strong>This cannot be read</strong> until you save it anew. {{ $why }}</p>@endif
    <x-overtaken :row="$answer"><pre class="beats" id="theirs">{{ $answer->beats }}</pre></x-overtaken>
    <form method="post" action="{{ route('answers.update', $answer) }}">
        @csrf @method('put')
        <input type="hidden" name="answer" value="{{ $answer->id }}"><input type="hidden" name="version" value="{{ $form->value('version') }}">
        @include('answers.form')
        <button class="btn btn-rust mt-3">Save</button>
        <a class="btn btn-plain mt-3" href="{{ route('answers.show', $answer) }}">Back without saving</a>
    </form>
</x-layout>
