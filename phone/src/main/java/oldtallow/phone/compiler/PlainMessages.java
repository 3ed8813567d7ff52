package oldtallow.phone.compiler;

import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.MethodHolder;
import org.teavm.model.Program;
import org.teavm.model.instructions.ExitInstruction;
import org.teavm.vm.spi.TeaVMHost;
import org.teavm.vm.spi.TeaVMPlugin;

/**
 * {@link String#format} and its like say their pattern as it stands. Nothing of ours calls them (ArchitectureTest sees to it); a
 * library does for messages that nobody in a phone will read, such as where a table is broken that was read in the build already.
 * The whole of them would bring the numbers, currencies and calendars of all languages along.
 */
public final class PlainMessages implements TeaVMPlugin, ClassHolderTransformer {

    private static final MethodDescriptor FORMAT =
            new MethodDescriptor("format", String.class, Object[].class, String.class);
    private static final MethodDescriptor FORMATTED = new MethodDescriptor("formatted", Object[].class, String.class);

    @Override
    public void install(TeaVMHost host) {
        host.add(this);
    }

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (type.getName().equals("java.lang.String")) {
            say(type.getMethod(FORMAT), 1);
            say(type.getMethod(FORMATTED), 0);
        }
    }

    /** Has a method answer with one of its arguments; what it is called on is the first. */
    private static void say(MethodHolder method, int argument) {
        var program = new Program();
        for (int i = 0; i <= method.parameterCount(); i++) {
            program.createVariable();
        }
        var exit = new ExitInstruction();
        exit.setValueToReturn(program.variableAt(argument));
        BasicBlock block = program.createBasicBlock();
        block.add(exit);
        method.setProgram(program);
    }
}
