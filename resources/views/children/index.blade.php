<x-layout :title="__('guardians.title')">
<h1>{{ __('guardians.title') }}</h1>
@if ($children->isEmpty())
    <x-empty :title="__('guardians.none')" :text="__('guardians.none-help')"/>
@else
<ul class="big-links">
    @foreach ($children as $child)
        <li><a href="{{ route('students.own', $child) }}"><strong>{{ $child->name }}</strong></a>
            <span>{{ $child->notes() }} ·
                {{ trans_choice('guardians.reps', $child->repCount(), ['last' => $child->lastRepText()]) }}</span></li>
    @endforeach
</ul>
@endif
</x-layout>
