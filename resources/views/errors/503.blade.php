<x-message title="Back in a moment">Stone Drill is being updated. Try again in a few seconds.</x-message>
