export default function MethodsView() {
  return null;
}
