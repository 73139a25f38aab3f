<x-layout :title="__($replaced ? 'reps.correct-a-rep' : 'reps.how')" place="mat">
<nav class="crumbs" aria-label="{{ __('reps.steps') }}">
    <a href="{{ route('record') }}">‹ {{ __('reps.somebody-else') }}</a>
    <a href="{{ route('record.attacks', $student) }}">‹ {{ __('reps.another-attack') }}</a>
</nav>
<h1>{{ $form->title() }}</h1>
@if ($replaced)
    <p class="lead-line">{{ __('reps.recorded-as', [
        'outcome' => $replaced->outcome->value, 'rung' => $replaced->rung, 'at' => school_time($replaced->at),
    ]) }}</p>
@endif
<p class="lead-line">{{ __('reps.now', ['proof' => $form->proof()]) }}</p>
@foreach ($form->cautions() as $caution)<x-caution dark>{{ $caution }}</x-caution>@endforeach
<x-invalid/>
<form method="post" action="{{ route('reps.store') }}" data-fresh>
    @csrf
    <x-hidden :values="$form->hidden()"/>
    <details @if (old('rung') || $errors->any()) open @endif>
        <summary data-more="{{ __('reps.change') }}">{{ __('reps.more', ['rung' => $form->rung]) }}</summary>
        <x-chips name="rung" type="radio" :legend="__('words.rung')" :options="$form->rungs()" :chosen="$form->chosenRung()"/>
        @if ($form->mistakes->isNotEmpty())
            <x-chips name="mistakes[]" type="checkbox" :legend="__('reps.mistakes-seen')" :options="$form->mistakeOptions()"
                :chosen="$form->chosenMistakes()"/>
        @endif
        <x-chips name="touched" type="radio" :legend="__('reps.touched')" :options="texts('reps.touches')" :chosen="$form->chosenTouch()"/>
        <x-chips name="answer_id" type="radio" :legend="__('words.answer')" :options="$form->answerOptions()"
            :chosen="$form->chosenAnswer()"/>
    </details>
    @if ($replaced)
        <x-field name="reason" class="mb-2" :label="__('reps.why-corrected')"><x-input name="reason" maxlength="500" required
            :value="old('reason')"/></x-field>
    @endif
    <div class="outcomes">
        @foreach (StoneDrill\Core\Proof\Outcome::cases() as $outcome)<x-outcome :outcome="$outcome" name="outcome"
            :value="$outcome->value"/>@endforeach
    </div>
</form>
</x-layout>
