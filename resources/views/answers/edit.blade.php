<x-layout :title="__('words.edit-name', ['name' => $answer->title])">
<h1>{{ __('words.edit-name', ['name' => '“'.$answer->title.'”']) }}</h1>
@if ($why)<p class="flash flash-error"
    role="alert"><strong>{{ __('words.unreadable') }}</strong> {{ __('words.save-to-mend') }} {{ $why }}</p>@endif
<x-overtaken :row="$answer"><pre class="beats" id="theirs">{{ $beats }}</pre></x-overtaken>
<form method="post" action="{{ route('answers.update', $answer) }}">
    @csrf
    @method('put')
    <x-hidden :values="['answer' => $answer->id, 'version' => $form->value('version')]"/>
    @include('answers.form')
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('answers.show', $answer)">{{ __('words.cancel') }}</x-button>
</form>
</x-layout>
